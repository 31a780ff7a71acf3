import { spawn } from 'node:child_process'
import { copyFileSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import https from 'node:https'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { expect, test } from '@playwright/test'
import { fillDemoClinic } from '../db/demo/clinic'
import { openDb } from '../db/open'
import { freePort, started } from '../tests/served'

/** A folder with a clinic in it, and the way to start the program on it. */
function clinicFolder() {
  const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-closed-'))
  const file = path.join(folder, 'clinic.sqlite')
  const db = openDb(file)
  fillDemoClinic(db, new Date())
  db.$client.close()
  const start = (port: number, env: Readonly<Record<string, string>> = {}) => started({ folder, port, env })
  return { folder, file, start, remove: () => [folder, `${folder}-keys`].forEach((one) => rmSync(one, { recursive: true, force: true })) }
}

const statusOf = (url: string, headers: Record<string, string> = {}) =>
  fetch(url, { headers }).then(
    (response) => response.status,
    () => 0,
  )

test('a damaged database is said at every address, and once it is put right the program goes on by itself', async () => {
  const clinic = clinicFolder()
  const whole = path.join(clinic.folder, 'whole')
  copyFileSync(clinic.file, whole)
  const bytes = readFileSync(clinic.file)
  writeFileSync(clinic.file, Buffer.concat([Buffer.from('no database at all  '), bytes.subarray(20, 5000)]))
  const port = await freePort()
  const running = clinic.start(port)
  const url = `http://127.0.0.1:${port}`
  try {
    await expect.poll(() => statusOf(`${url}/health`), { timeout: 30_000 }).toBe(503)
    const page = await (await fetch(`${url}/today`, { headers: { accept: 'text/html' } })).text()
    expect(page).toContain('The database of the server is damaged.')
    expect(page).toContain('npm run doctor')
    expect(await (await fetch(`${url}/exam/any/events`)).json()).toMatchObject({ ready: false, what: 'The database of the server is damaged.' })
    copyFileSync(whole, clinic.file)
    await expect.poll(() => statusOf(`${url}/today`), { timeout: 30_000 }).toBe(200)
  } finally {
    running.child.kill('SIGKILL')
    await running.exited
    clinic.remove()
  }
})

test('a folder is one process’s, a real clinic is never a demo, and the plain start of the framework is refused', async () => {
  const clinic = clinicFolder()
  const port = await freePort()
  const first = clinic.start(port)
  try {
    await expect.poll(() => statusOf(`http://127.0.0.1:${port}/health`), { timeout: 30_000 }).toBe(200)
    const second = clinic.start(await freePort())
    expect(await second.exited).toBe(1)
    expect(second.said()).toContain('it runs on this folder already')
    const open = clinic.start(await freePort(), { HOST_ADDRESS: '0.0.0.0' })
    expect(await open.exited).toBe(1)
    expect(open.said()).toContain('DEMO_ON_NETWORK=yes')
  } finally {
    first.child.kill('SIGKILL')
    await first.exited
  }
  const own = mkdtempSync(path.join(tmpdir(), 'dust-lantern-own-'))
  openDb(path.join(own, 'clinic.sqlite')).$client.close()
  const demo = clinic.start(await freePort(), { DUST_LANTERN_DATA: own })
  expect(await demo.exited).toBe(1)
  expect(demo.said()).toContain('a clinic of your own')
  rmSync(own, { recursive: true })
  const plain = spawn(process.execPath, ['node_modules/next/dist/bin/next', 'start', '-p', String(await freePort())], {
    env: { ...process.env, DUST_LANTERN_DATA: clinic.folder },
    stdio: 'ignore',
  })
  expect(await new Promise((resolve) => plain.once('exit', resolve))).toBe(1)
  clinic.remove()
})

test('over its own TLS the cookie is the host’s alone, and browsers are told to stay with it', async () => {
  const clinic = clinicFolder()
  const port = await freePort()
  const running = clinic.start(port, { TLS_CERT: 'tests/tls/cert.pem', TLS_KEY: 'tests/tls/key.pem' })
  const ask = () =>
    new Promise<{ status: number; hsts: string | undefined }>((resolve) => {
      https
        .get({ host: '127.0.0.1', port, path: '/today', ca: readFileSync('tests/tls/cert.pem') }, (response) => {
          response.resume()
          resolve({ status: response.statusCode ?? 0, hsts: response.headers['strict-transport-security'] })
        })
        .on('error', () => resolve({ status: 0, hsts: undefined }))
    })
  try {
    await expect.poll(async () => (await ask()).status, { timeout: 30_000 }).toBe(200)
    expect((await ask()).hsts).toMatch(/max-age=\d{7,}/)
  } finally {
    running.child.kill('SIGTERM')
    expect(await running.exited).toBe(0)
    clinic.remove()
  }
})
