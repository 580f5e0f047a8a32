import { AbovePicture } from './AbovePicture';
import { DrivePicture } from './DrivePicture';
import { LinksPicture, TeethPicture } from './ChainPictures';
import { RungsPicture } from './RungsPicture';
import type { Term } from './terms';
import { WheelPicture } from './WheelPicture';
import styles from './Glossary.module.css';
import { t } from './text';

/** The small drawing of a term, with its subject highlighted. */
export function TermPicture({ term: { name, picture } }: { term: Term }) {
  return (
    <figure
      className={styles.picture}
      role="img"
      aria-label={t('termPicture.drawingName', { name })}
      data-picture={picture.of}
    >
      {picture.of === 'drive' && <DrivePicture mark={picture.mark} />}
      {picture.of === 'above' && <AbovePicture mark={picture.mark} />}
      {picture.of === 'rungs' && <RungsPicture mark={picture.mark} />}
      {picture.of === 'wheel' && <WheelPicture mark={picture.mark} />}
      {picture.of === 'links' && <LinksPicture mark={picture.mark} />}
      {picture.of === 'teeth' && <TeethPicture />}
    </figure>
  );
}
