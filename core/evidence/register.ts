import type { Side } from '../vocabulary/side'
import type { SourceId } from '../vocabulary/source'
import type { Accuracy } from './accuracy'
import { ALBERT_2000 } from './sources/albert-2000'
import { APELBY_ALBRECHT_2013 } from './sources/apelby-albrecht-2013'
import { BROADHURST_1998 } from './sources/broadhurst-1998'
import { CAPRA_2011 } from './sources/capra-2011'
import { DEVILLE_2000 } from './sources/deville-2000'
import { DREYFUSS_1996 } from './sources/dreyfuss-1996'
import { EKEDAHL_2018 } from './sources/ekedahl-2018'
import { GUTKE_2009 } from './sources/gutke-2009'
import { HAKELIUS_1972 } from './sources/hakelius-1972'
import { HANCOCK_2007 } from './sources/hancock-2007'
import { HOMAYOUNI_2018 } from './sources/homayouni-2018'
import { KERR_1988 } from './sources/kerr-1988'
import { LASLETT_2005 } from './sources/laslett-2005'
import { LAUDER_2000 } from './sources/lauder-2000'
import { MAJLESI_2008 } from './sources/majlesi-2008'
import { MASLOWSKI_2010 } from './sources/maslowski-2010'
import { OSTGAARD_1994 } from './sources/ostgaard-1994'
import { RABIN_2007 } from './sources/rabin-2007'
import { SAUERESSIG_2021 } from './sources/saueressig-2021'
import { SPANGFORT_1972 } from './sources/spangfort-1972'
import { STANFORD_2010 } from './sources/stanford-2010'
import { STANKOVIC_1999 } from './sources/stankovic-1999'
import { SUTLIVE_2008 } from './sources/sutlive-2008'
import { SZADEK_2009 } from './sources/szadek-2009'
import { URBAN_2015 } from './sources/urban-2015'
import { VAN_DER_WINDT_2010 } from './sources/van-der-windt-2010'
import { VAN_DER_WURFF_2006 } from './sources/van-der-wurff-2006'
import { VROOMEN_2002 } from './sources/vroomen-2002'
import { WAINNER_2003 } from './sources/wainner-2003'

/** Every figure the product knows, a paper a file. */
export const REGISTER: readonly Accuracy[] = [
  ...LASLETT_2005,
  ...SZADEK_2009,
  ...ALBERT_2000,
  ...GUTKE_2009,
  ...SUTLIVE_2008,
  ...EKEDAHL_2018,
  ...HAKELIUS_1972,
  ...SPANGFORT_1972,
  ...LAUDER_2000,
  ...STANFORD_2010,
  ...SAUERESSIG_2021,
  ...HANCOCK_2007,
  ...DREYFUSS_1996,
  ...BROADHURST_1998,
  ...OSTGAARD_1994,
  ...MASLOWSKI_2010,
  ...MAJLESI_2008,
  ...STANKOVIC_1999,
  ...URBAN_2015,
  ...VROOMEN_2002,
  ...VAN_DER_WINDT_2010,
  ...DEVILLE_2000,
  ...CAPRA_2011,
  ...RABIN_2007,
  ...KERR_1988,
  ...HOMAYOUNI_2018,
  ...VAN_DER_WURFF_2006,
  ...WAINNER_2003,
  ...APELBY_ALBRECHT_2013,
]

/** All rows of one test or rule, the one that moves numbers first. */
export function rowsOf(id: string): readonly Accuracy[] {
  const rows = REGISTER.filter((row) => row.of === id)
  return [...rows.filter(moves), ...rows.filter((row) => !moves(row))]
}

/** May this row move a probability? Low rows never do, whatever their use says. */
export function moves(row: Accuracy): boolean {
  return row.use.use === 'preferred' && row.confidence !== 'low'
}

/**
 * The row that speaks for a test or rule about a source on a side; undefined when nothing fitting is known.
 *
 * @param variant - the way the test was done; a row measured with another criterion does not fit
 */
export function preferredRow(id: string, source: SourceId, side: Side, variant?: string): Accuracy | undefined {
  return REGISTER.find(
    (row) => row.of === id && row.for === source && (row.side ?? side) === side && (!variant || (row.variants ?? [variant]).includes(variant)) && moves(row),
  )
}
