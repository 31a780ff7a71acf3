interface Props {
  readonly words?: string
  /** Where it stands above other things: as high as the window, so that those do not move when what comes is higher than this line. */
  readonly whole?: boolean
}

/** Stands where a screen is about to be, while what it needs arrives. */
export function Opening({ words = 'Opening', whole = false }: Props) {
  return (
    <p role="status" className={`px-6 py-5 text-ash ${whole ? 'min-h-dvh' : 'min-h-96'}`}>
      {words}
    </p>
  )
}
