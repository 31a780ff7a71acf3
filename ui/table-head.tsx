/** The heads of a table of figures, small and quiet above its rows. */
export function TableHead({ heads }: { readonly heads: readonly string[] }) {
  return (
    <thead className="text-sm text-ash">
      <tr>
        {heads.map((head, i) => (
          <th key={i} scope="col" className="whitespace-nowrap pr-4 font-normal">
            {head}
          </th>
        ))}
      </tr>
    </thead>
  )
}
