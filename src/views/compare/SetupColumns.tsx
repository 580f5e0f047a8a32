/**
 * The columns of a table under those of the ladder: one for what its rows are called, then as many for every setup.
 * @param cells of each setup
 */
export function SetupColumns({ setups, cells }: { setups: number; cells: number }) {
  return (
    <colgroup>
      <col />
      {Array.from({ length: setups * cells }, (_, i) => (
        <col key={i} />
      ))}
    </colgroup>
  );
}
