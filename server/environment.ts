import { homedir, networkInterfaces } from 'node:os'
import path from 'node:path'
import * as yup from 'yup'

const LEVELS = ['fatal', 'error', 'warn', 'info', 'debug', 'silent'] as const

function yesOrNo(name: string) {
  return yup.string().oneOf(['', 'yes', 'no'], `${name} is yes or no`).default('')
}

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
  PORT: yup.number().integer().min(0).max(65_535, 'PORT is a number up to 65535').default(3000),
  DUST_LANTERN_DEMO: yesOrNo('DUST_LANTERN_DEMO'),
  DEMO_ON_NETWORK: yesOrNo('DEMO_ON_NETWORK'),
  TLS_CERT: yup.string().default(''),
  TLS_KEY: yup.string().default(''),
  TRUSTED_PROXY: yup
    .string()
    .default('')
    .matches(/^[0-9a-fA-F.:, ]*$/, 'TRUSTED_PROXY is a list of addresses with commas between'),
  DUST_LANTERN_KEYS: yup.string().default(''),
  DUST_LANTERN_BACKUPS: yup.string().default(''),
  DUST_LANTERN_ANCHORS: yup.string().default(''),
  BACKUP_RECIPIENT: yup
    .string()
    .default('')
    .matches(/^(age1[0-9a-z]+)?$/, 'BACKUP_RECIPIENT is a public key of age, beginning with age1'),
})

/** What the surroundings decide. Read here and nowhere else. */
export interface Environment {
  /** Folder of the clinic's data. */
  readonly dataFolder: string
  /** Names under which this server may be asked, without port. */
  readonly hosts: ReadonlySet<string>
  readonly logLevel: (typeof LEVELS)[number]
  /** Where it listens. */
  readonly address: string
  readonly port: number
  /** The demo practitioner is signed in without a password. */
  readonly demo: boolean
  /** Own certificate and its key; null where a proxy in front speaks TLS, or nothing leaves this machine. */
  readonly tls: { readonly cert: string; readonly key: string } | null
  /** Addresses whose forwarded headers are believed. */
  readonly proxies: ReadonlySet<string>
  /** Folder of the keys that sign anchors: not beside the data. */
  readonly keyFolder: string
  /** Folder of backups, and of anchors that can be printed or lie elsewhere. */
  readonly backupFolder: string
  readonly anchorFolder: string
  /** Public key (age) that backups are encrypted to; empty for none. */
  readonly recipient: string
}

/**
 * Read and check the environment.
 *
 * @throws {Error} a sentence for whoever started the program
 */
export function readEnvironment(env: Readonly<Record<string, string | undefined>>): Environment {
  try {
    const read = SHAPE.validateSync(env, { abortEarly: false })
    const demo = read.DUST_LANTERN_DEMO === 'yes'
    if (demo && !isLoopback(read.HOST_ADDRESS) && read.DEMO_ON_NETWORK !== 'yes') {
      throw new yup.ValidationError(
        'the demo signs in without a password, so it listens on this machine alone; DEMO_ON_NETWORK=yes says that the network may come in all the same',
      )
    }
    if ((read.TLS_CERT === '') !== (read.TLS_KEY === '')) throw new yup.ValidationError('TLS_CERT and TLS_KEY go together')
    return {
      dataFolder: read.DUST_LANTERN_DATA,
      hosts: hostsOf(read.HOST_ADDRESS, read.ALLOWED_HOSTS),
      logLevel: read.LOG_LEVEL,
      address: read.HOST_ADDRESS,
      port: read.PORT,
      demo,
      tls: read.TLS_CERT === '' ? null : { cert: read.TLS_CERT, key: read.TLS_KEY },
      proxies: new Set(listed(read.TRUSTED_PROXY)),
      keyFolder: read.DUST_LANTERN_KEYS || path.join(homedir(), '.dust-lantern-keys'),
      backupFolder: read.DUST_LANTERN_BACKUPS || path.join(read.DUST_LANTERN_DATA, 'backups'),
      anchorFolder: read.DUST_LANTERN_ANCHORS || path.join(read.DUST_LANTERN_DATA, 'anchors'),
      recipient: read.BACKUP_RECIPIENT,
    }
  } catch (error) {
    const why = yup.ValidationError.isError(error) ? error.errors.join('; ') : 'unknown reason'
    throw new Error(`Dust Lantern cannot start: ${why}.`)
  }
}

/** Does nobody but this machine reach a server that listens there? */
export function isLoopback(address: string): boolean {
  return address === 'localhost' || address === '::1' || address === '[::1]' || address.startsWith('127.')
}

function listed(text: string): readonly string[] {
  return text
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter((name) => name !== '')
}

const LOOPBACK = ['localhost', '127.0.0.1', '[::1]']

/** Loopback always; the address it listens on; every address of this machine when it listens on all; and what was named. */
function hostsOf(address: string, named: string): ReadonlySet<string> {
  const all = address === '0.0.0.0' || address === '::'
  const own = all
    ? Object.values(networkInterfaces()).flatMap((list) => (list ?? []).map((a) => (a.family === 'IPv6' ? `[${a.address}]` : a.address)))
    : [address]
  return new Set([...LOOPBACK, ...own, ...listed(named)])
}

const held = globalThis as typeof globalThis & { dustLanternEnvironment?: { readonly of: string; readonly read: Environment } }

/** What is read of the environment. */
const NAMES = Object.keys(SHAPE.fields)

/** The environment of this process, checked. */
export function environment(): Environment {
  // Read again when it changed: tests move the data from folder to folder.
  const of = NAMES.map((name) => process.env[name] ?? '').join('\n')
  if (held.dustLanternEnvironment?.of !== of) held.dustLanternEnvironment = { of, read: readEnvironment(process.env) }
  return held.dustLanternEnvironment.read
}

/** Is this a name under which this server may be asked? A page on another name that leads here is not one. */
export function isOwnHost(host: string | null, hosts: ReadonlySet<string> = environment().hosts): boolean {
  if (host === null) return false
  return hosts.has(host.replace(/:\d+$/, '').toLowerCase())
}
