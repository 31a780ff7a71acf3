import type { Accuracy } from '../accuracy'
import { ABBOTT_2005 } from './abbott-2005'
import { AL_NEZARI_2013 } from './al-nezari-2013'
import { ALBERT_2000 } from './albert-2000'
import { ALTMAN_1991 } from './altman-1991'
import { APELBY_ALBRECHT_2013 } from './apelby-albrecht-2013'
import { BALASUBRAMANIAN_2010 } from './balasubramanian-2010'
import { BIRD_2001 } from './bird-2001'
import { BRISMEE_2004 } from './brismee-2004'
import { BROADHURST_1998 } from './broadhurst-1998'
import { BROWN_2004 } from './brown-2004'
import { CAPRA_2011 } from './capra-2011'
import { CIBULKA_1999 } from './cibulka-1999'
import { COOK_2007 } from './cook-2007'
import { COOK_2009 } from './cook-2009'
import { COOK_2010 } from './cook-2010'
import { COOK_2011 } from './cook-2011'
import { DAVIDSON_1981 } from './davidson-1981'
import { DEVILLE_2000 } from './deville-2000'
import { DEYO_1988 } from './deyo-1988'
import { DEYO_1992 } from './deyo-1992'
import { DIONNE_2019 } from './dionne-2019'
import { DONELSON_1997 } from './donelson-1997'
import { DOWNIE_2013 } from './downie-2013'
import { DREYFUSS_1996 } from './dreyfuss-1996'
import { EKEDAHL_2018 } from './ekedahl-2018'
import { FISHMAN_2002 } from './fishman-2002'
import { FORTIN_1997 } from './fortin-1997'
import { FRITZ_2005 } from './fritz-2005'
import { GENEVAY_2017 } from './genevay-2017'
import { GHASEMI_2013 } from './ghasemi-2013'
import { GILLARD_2001 } from './gillard-2001'
import { GONZALEZ_ESPINOSA_2020 } from './gonzalez-espinosa-2020'
import { GRONDIN_2021 } from './grondin-2021'
import { GUMINA_2013 } from './gumina-2013'
import { GUTKE_2009 } from './gutke-2009'
import { HAKELIUS_1972 } from './hakelius-1972'
import { HALL_2008 } from './hall-2008'
import { HALL_2010 } from './hall-2010'
import { HAN_2023 } from './han-2023'
import { HANCOCK_2007 } from './hancock-2007'
import { HANCOCK_2011 } from './hancock-2011'
import { HENSCHKE_2009 } from './henschke-2009'
import { HICKS_2005 } from './hicks-2005'
import { HOFFMAN_2000 } from './hoffman-2000'
import { HOMAYOUNI_2018 } from './homayouni-2018'
import { HUMPHREYS_2004 } from './humphreys-2004'
import { HUTTING_2013_B } from './hutting-2013-b'
import { HUTTING_2013 } from './hutting-2013'
import { IVERSEN_2013 } from './iversen-2013'
import { JULL_1988 } from './jull-1988'
import { KAALE_2008 } from './kaale-2008'
import { KASAI_2006 } from './kasai-2006'
import { KATZ_1995 } from './katz-1995'
import { KATZOURAKI_2020 } from './katzouraki-2020'
import { KERR_1988 } from './kerr-1988'
import { KING_2007 } from './king-2007'
import { KUROSAWA_2017 } from './kurosawa-2017'
import { LASLETT_2003 } from './laslett-2003'
import { LASLETT_2004 } from './laslett-2004'
import { LASLETT_2005_DISCOGRAPHY } from './laslett-2005-discography'
import { LASLETT_2005 } from './laslett-2005'
import { LASLETT_2006_DISC } from './laslett-2006-disc'
import { LASLETT_2006 } from './laslett-2006'
import { LAUDER_2000_ARM } from './lauder-2000-arm'
import { LAUDER_2000 } from './lauder-2000'
import { LEQUESNE_2008 } from './lequesne-2008'
import { LEVANGIE_1999 } from './levangie-1999'
import { LORD_1994 } from './lord-1994'
import { MAIGNE_1996 } from './maigne-1996'
import { MAJLESI_2008 } from './majlesi-2008'
import { MANCHIKANTI_2000 } from './manchikanti-2000'
import { MARTIN_2014 } from './martin-2014'
import { MASLOWSKI_2010 } from './maslowski-2010'
import { MENS_2001 } from './mens-2001'
import { MENS_2012 } from './mens-2012'
import { NO_DEFINITIVE_STUDY } from './no-definitive-study'
import { NO_SEPARATE_ACCURACY_STUDY } from './no-separate-accuracy-study'
import { NO_STUDY_KNOWN } from './no-study-known'
import { NORD_2008 } from './nord-2008'
import { NOURAEI_2007 } from './nouraei-2007'
import { NOVAK_1994 } from './novak-1994'
import { OGINCE_2007 } from './ogince-2007'
import { OSTGAARD_1994 } from './ostgaard-1994'
import { PHILLIPS_1996 } from './phillips-1996'
import { PLEWA_1998 } from './plewa-1998'
import { POIRAUDEAU_2001 } from './poiraudeau-2001'
import { PORCHET_1994 } from './porchet-1994'
import { RABIN_2007 } from './rabin-2007'
import { RABIN_2014 } from './rabin-2014'
import { RAINVILLE_2003 } from './rainville-2003'
import { RAYAN_1995 } from './rayan-1995'
import { REIMAN_2015 } from './reiman-2015'
import { REVEL_1992 } from './revel-1992'
import { REVEL_1998 } from './revel-1998'
import { RUBINSTEIN_2007 } from './rubinstein-2007'
import { RUDWALEIT_2006 } from './rudwaleit-2006'
import { SANDMARK_1995 } from './sandmark-1995'
import { SAUERESSIG_2021 } from './saueressig-2021'
import { SCHNEIDER_2014 } from './schneider-2014'
import { SCHNEIDER_2020 } from './schneider-2020'
import { SCHWARZER_1994 } from './schwarzer-1994'
import { SHABAT_2012 } from './shabat-2012'
import { SHAH_2004 } from './shah-2004'
import { SIEPER_2009 } from './sieper-2009'
import { SLEIJSER_KOEHORST_2021 } from './sleijser-koehorst-2021'
import { SLIPMAN_1998 } from './slipman-1998'
import { SPANGFORT_1972 } from './spangfort-1972'
import { STANFORD_2010 } from './stanford-2010'
import { STANKOVIC_1999 } from './stankovic-1999'
import { STIELL_2001 } from './stiell-2001'
import { STUBER_2014 } from './stuber-2014'
import { STYNES_2018 } from './stynes-2018'
import { SURI_2011 } from './suri-2011'
import { SUTLIVE_2008 } from './sutlive-2008'
import { SZADEK_2009 } from './szadek-2009'
import { TAKADA_2011 } from './takada-2011'
import { THOOMES_2018 } from './thoomes-2018'
import { TONG_2002 } from './tong-2002'
import { TRAINOR_2011 } from './trainor-2011'
import { UCHIHARA_1994 } from './uchihara-1994'
import { UITVLUGT_1988 } from './uitvlugt-1988'
import { URBAN_2015 } from './urban-2015'
import { USUNIER_2018 } from './usunier-2018'
import { VAN_DER_WINDT_2010 } from './van-der-windt-2010'
import { VAN_DER_WURFF_2006 } from './van-der-wurff-2006'
import { VERRALL_2005 } from './verrall-2005'
import { VERWOERD_2016 } from './verwoerd-2016'
import { VIGOTSKY_2016 } from './vigotsky-2016'
import { VIIKARI_JUNTURA_1989 } from './viikari-juntura-1989'
import { VLEEMING_2002 } from './vleeming-2002'
import { VROOMEN_2002 } from './vroomen-2002'
import { WAINNER_2003 } from './wainner-2003'
import { WAINNER_2005 } from './wainner-2005'
import { WALSH_2009 } from './walsh-2009'
import { WARRENS_1987 } from './warrens-1987'
import { YOUNG_2003 } from './young-2003'

/** Every row of every paper; a new paper is a file and a line here. */
export const ROWS: readonly Accuracy[] = [
  ...ABBOTT_2005,
  ...AL_NEZARI_2013,
  ...ALBERT_2000,
  ...ALTMAN_1991,
  ...APELBY_ALBRECHT_2013,
  ...BALASUBRAMANIAN_2010,
  ...BIRD_2001,
  ...BRISMEE_2004,
  ...BROADHURST_1998,
  ...BROWN_2004,
  ...CAPRA_2011,
  ...CIBULKA_1999,
  ...COOK_2007,
  ...COOK_2009,
  ...COOK_2010,
  ...COOK_2011,
  ...DAVIDSON_1981,
  ...DEVILLE_2000,
  ...DEYO_1988,
  ...DEYO_1992,
  ...DIONNE_2019,
  ...DONELSON_1997,
  ...DOWNIE_2013,
  ...DREYFUSS_1996,
  ...EKEDAHL_2018,
  ...FISHMAN_2002,
  ...FORTIN_1997,
  ...FRITZ_2005,
  ...GENEVAY_2017,
  ...GHASEMI_2013,
  ...GILLARD_2001,
  ...GONZALEZ_ESPINOSA_2020,
  ...GRONDIN_2021,
  ...GUMINA_2013,
  ...GUTKE_2009,
  ...HAKELIUS_1972,
  ...HALL_2008,
  ...HALL_2010,
  ...HAN_2023,
  ...HANCOCK_2007,
  ...HANCOCK_2011,
  ...HENSCHKE_2009,
  ...HICKS_2005,
  ...HOFFMAN_2000,
  ...HOMAYOUNI_2018,
  ...HUMPHREYS_2004,
  ...HUTTING_2013_B,
  ...HUTTING_2013,
  ...IVERSEN_2013,
  ...JULL_1988,
  ...KAALE_2008,
  ...KASAI_2006,
  ...KATZ_1995,
  ...KATZOURAKI_2020,
  ...KERR_1988,
  ...KING_2007,
  ...KUROSAWA_2017,
  ...LASLETT_2003,
  ...LASLETT_2004,
  ...LASLETT_2005_DISCOGRAPHY,
  ...LASLETT_2005,
  ...LASLETT_2006_DISC,
  ...LASLETT_2006,
  ...LAUDER_2000_ARM,
  ...LAUDER_2000,
  ...LEQUESNE_2008,
  ...LEVANGIE_1999,
  ...LORD_1994,
  ...MAIGNE_1996,
  ...MAJLESI_2008,
  ...MANCHIKANTI_2000,
  ...MARTIN_2014,
  ...MASLOWSKI_2010,
  ...MENS_2001,
  ...MENS_2012,
  ...NO_DEFINITIVE_STUDY,
  ...NO_SEPARATE_ACCURACY_STUDY,
  ...NO_STUDY_KNOWN,
  ...NORD_2008,
  ...NOURAEI_2007,
  ...NOVAK_1994,
  ...OGINCE_2007,
  ...OSTGAARD_1994,
  ...PHILLIPS_1996,
  ...PLEWA_1998,
  ...POIRAUDEAU_2001,
  ...PORCHET_1994,
  ...RABIN_2007,
  ...RABIN_2014,
  ...RAINVILLE_2003,
  ...RAYAN_1995,
  ...REIMAN_2015,
  ...REVEL_1992,
  ...REVEL_1998,
  ...RUBINSTEIN_2007,
  ...RUDWALEIT_2006,
  ...SANDMARK_1995,
  ...SAUERESSIG_2021,
  ...SCHNEIDER_2014,
  ...SCHNEIDER_2020,
  ...SCHWARZER_1994,
  ...SHABAT_2012,
  ...SHAH_2004,
  ...SIEPER_2009,
  ...SLEIJSER_KOEHORST_2021,
  ...SLIPMAN_1998,
  ...SPANGFORT_1972,
  ...STANFORD_2010,
  ...STANKOVIC_1999,
  ...STIELL_2001,
  ...STUBER_2014,
  ...STYNES_2018,
  ...SURI_2011,
  ...SUTLIVE_2008,
  ...SZADEK_2009,
  ...TAKADA_2011,
  ...THOOMES_2018,
  ...TONG_2002,
  ...TRAINOR_2011,
  ...UCHIHARA_1994,
  ...UITVLUGT_1988,
  ...URBAN_2015,
  ...USUNIER_2018,
  ...VAN_DER_WINDT_2010,
  ...VAN_DER_WURFF_2006,
  ...VERRALL_2005,
  ...VERWOERD_2016,
  ...VIGOTSKY_2016,
  ...VIIKARI_JUNTURA_1989,
  ...VLEEMING_2002,
  ...VROOMEN_2002,
  ...WAINNER_2003,
  ...WAINNER_2005,
  ...WALSH_2009,
  ...WARRENS_1987,
  ...YOUNG_2003,
]
