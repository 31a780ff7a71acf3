import { networkInterfaces } from 'node:os'
import * as yup from 'yup'

const LEVELS = ['fatal', 'error', 'warn', 'info', 'debug', 'silent'] as const

const SHAPE = yup.object({
  DUST_LANTERN_DATA: yup.string().min(1, 'DUST_LANTERN_DATA must name a folder').default('data'),
  HOST_ADDRESS: yup.string().default('127.0.0.1'),
  ALLOWED_HOSTS: yup
    .string()
    .default('')
    .matches(/^[A-Za-z0-9.:,[\] -]*$/, 'ALLOWED_HOSTS is a list of host names with commas between'),
  LOG_LEVEL: yup
    .string()
    .oneOf(LEVELS, `LOG_LEVEL is one of ${LEVELS.join(', ')}`)
    .default('info'),
})

/** What the surroundings decide. Read here and nowhere else. */
export interface Environment {
  /** Folder of the clinic's data. */
  readonly dataFolder: string
  /** Names under which this server may be asked, without port. */
  readonly hosts: ReadonlySet<string>
  readonly logLevel: (typeof LEVELS)[number]
}

/**
 * Read and check the environment.
 *
 * @throws {Error} a sentence for whoever started the program
 */
export function readEnvironment(env: Readonly<Record<string, string | undefined>>): Environment {
  try {
    const read = SHAPE.validateSync(env, { abortEarly: false })
    return { dataFolder: read.DUST_LANTERN_DATA, hosts: hostsOf(read.HOST_ADDRESS, read.ALLOWED_HOSTS), logLevel: read.LOG_LEVEL }
  } catch (error) {
    const why = yup.ValidationError.isError(error) ? error.errors.join('; ') : 'unknown reason'
    throw new Error(`Dust Lantern cannot start: ${why}.`)
  }
}

const LOOPBACK = ['localhost', '127.0.0.1', '[::1]']

/** Loopback always; the address it listens on; every address of this machine when it listens on all; and what was named. */
function hostsOf(address: string, named: string): ReadonlySet<string> {
  const all = address === '0.0.0.0' || address === '::'
  const own = all
    ? Object.values(networkInterfaces()).flatMap((list) => (list ?? []).map((a) => (a.family === 'IPv6' ? `[${a.address}]` : a.address)))
    : [address]
  const more = named
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter((name) => name !== '')
  return new Set([...LOOPBACK, ...own, ...more])
}

const held = globalThis as typeof globalThis & { dustLanternEnvironment?: { readonly of: string; readonly read: Environment } }

/** The environment of this process, checked. */
export function environment(): Environment {
  const { DUST_LANTERN_DATA: data, HOST_ADDRESS: host, ALLOWED_HOSTS: allowed, LOG_LEVEL: level } = process.env
  const of = JSON.stringify([data, host, allowed, level])
  // Read again when it changed: tests move the data from folder to folder.
  if (held.dustLanternEnvironment?.of !== of) held.dustLanternEnvironment = { of, read: readEnvironment(process.env) }
  return held.dustLanternEnvironment.read
}

/** Is this a name under which this server may be asked? A page on another name that leads here is not one. */
export function isOwnHost(host: string | null, hosts: ReadonlySet<string> = environment().hosts): boolean {
  if (host === null) return false
  return hosts.has(host.replace(/:\d+$/, '').toLowerCase())
}
