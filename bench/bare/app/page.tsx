import { connection } from 'next/server'

/** The least page this framework serves for each request: what everything else is measured against. */
export default async function BarePage() {
  await connection()
  return <main>bare</main>
}
