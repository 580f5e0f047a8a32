import { BACK_DEG, FORWARD_DEG, STEP_DEG, chainPathMm, type CagePose, type DriveGeometry } from './cage';
import { PITCH_MM } from './chain';

/**
 * Lengths of chain between which a cage holds a gear: the same answer as its pose, without looking for
 * the angle. Computed on demand and cached.
 */
export class CageReach {
  private shortest: number | undefined;
  private taut: { readonly lengthMm: number; readonly atLimit: boolean } | undefined;
  private readonly plumbMm: number | undefined;

  constructor(
    private readonly chainring: number,
    private readonly cog: number,
    private readonly geometry: DriveGeometry,
  ) {
    this.plumbMm = this.lengthMm(0);
  }

  /** The pose of a cage with a chain of a given number of links. */
  state(links: number): CagePose['state'] {
    const lengthMm = links * PITCH_MM;
    if (this.plumbMm === undefined) return 'impossible';
    if (this.plumbMm > lengthMm) return this.shortestMm() <= lengthMm ? 'ok' : 'tooShort';
    const taut = this.tautMm();
    return (taut.atLimit ? taut.lengthMm >= lengthMm : taut.lengthMm > lengthMm) ? 'ok' : 'slack';
  }

  /** The fewest links that are not too short; no number where there is no path with the cage plumb. */
  fewestLinks(): number {
    if (this.plumbMm === undefined) return Infinity;
    let links = Math.floor(Math.min(this.plumbMm, this.shortestMm()) / PITCH_MM);
    while (this.state(links) === 'tooShort') links += 1;
    return links;
  }

  /** The most links that are not slack. */
  mostLinks(): number {
    if (this.plumbMm === undefined) return Infinity;
    let links = Math.ceil(Math.max(this.plumbMm, this.tautMm().lengthMm) / PITCH_MM);
    while (this.state(links) === 'slack') links -= 1;
    return links;
  }

  private lengthMm(angleDeg: number): number | undefined {
    return chainPathMm(this.chainring, this.cog, angleDeg, this.geometry);
  }

  /** As far forward as the cage goes. */
  private shortestMm(): number {
    if (this.shortest !== undefined) return this.shortest;
    this.shortest = Infinity;
    for (let angle = STEP_DEG; angle <= FORWARD_DEG; angle += STEP_DEG) {
      const length = this.lengthMm(angle);
      if (length === undefined) break;
      this.shortest = Math.min(this.shortest, length);
    }
    return this.shortest;
  }

  /** The longest chain that stays taut: at the fold-back limit, or just before the path ends. */
  private tautMm() {
    this.taut ??= this.findTaut();
    return this.taut;
  }

  private findTaut() {
    const { foldBackLimitDeg } = this.geometry;
    let longestMm = -Infinity;
    for (let angle = -STEP_DEG; angle >= BACK_DEG; angle -= STEP_DEG) {
      const length = this.lengthMm(angle);
      if (length === undefined) break;
      longestMm = Math.max(longestMm, length);
      if (angle > foldBackLimitDeg) continue;
      const atLimitMm = this.lengthMm(foldBackLimitDeg);
      if (atLimitMm !== undefined) return { lengthMm: atLimitMm, atLimit: true };
    }
    return { lengthMm: longestMm, atLimit: false };
  }
}
