/** What a phone shows when its code does not work: nothing about anybody. */
export function CodeOver() {
  return (
    <main className="mx-auto max-w-xl px-5 py-10 text-lg">
      <h1 className="text-2xl">This code does not work</h1>
      <p className="mt-3">Codes stop working after half an hour, and when a new one is made. Nothing was sent. Ask for a new code.</p>
    </main>
  )
}
