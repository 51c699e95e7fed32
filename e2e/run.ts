import type { Database } from '../scripts/database.mjs'
import { launchBrowser, setViewport } from './browser'
import type { Journey } from './journeys/journey'
import { bandsBeside } from './journeys/bandsBeside'
import { badInput } from './journeys/badInput'
import { demoPlan } from './journeys/demoPlan'
import { draftSite } from './journeys/draftSite'
import { everyKind } from './journeys/everyKind'
import { exportedFits } from './journeys/exportedFits'
import { exportedSite } from './journeys/exportedSite'
import { fieldsAndKeys } from './journeys/fieldsAndKeys'
import { foundGrid } from './journeys/foundGrid'
import { foundOtherwise } from './journeys/foundOtherwise'
import { gridAgreed } from './journeys/gridAgreed'
import { kits } from './journeys/kits'
import { styleGuide } from './journeys/styleGuide'
import { gridBands } from './journeys/gridBands'
import { gridsInChromium } from './journeys/gridsInChromium'
import { guideForShop } from './journeys/guideForShop'
import { guidesAndFrames } from './journeys/guidesAndFrames'
import { killed } from './journeys/killed'
import { largeMap } from './journeys/largeMap'
import { liveView } from './journeys/liveView'
import { longTexts } from './journeys/longTexts'
import { looking } from './journeys/looking'
import { looksAndAccess } from './journeys/looksAndAccess'
import { mapByKeyboard } from './journeys/mapByKeyboard'
import { mockup } from './journeys/mockup'
import { mockupStates } from './journeys/mockupStates'
import { nudging } from './journeys/nudging'
import { offline } from './journeys/offline'
import { pageByKeyboard } from './journeys/pageByKeyboard'
import { placing } from './journeys/placing'
import { planByKeyboard } from './journeys/planByKeyboard'
import { planSite } from './journeys/planSite'
import { repeated } from './journeys/repeated'
import { reviewed } from './journeys/reviewed'
import { reviewAndAxe } from './journeys/reviewAndAxe'
import { selections } from './journeys/selections'
import { shelf } from './journeys/shelf'
import { artwork } from './journeys/artwork'
import { shownBeside } from './journeys/shownBeside'
import { builtPage } from './journeys/builtPage'
import { metInOrder } from './journeys/metInOrder'
import { spoiltPage } from './journeys/spoiltPage'
import { stickingInChromium } from './journeys/stickingInChromium'
import { thinSlice } from './journeys/thinSlice'
import { tokenDeleted } from './journeys/tokenDeleted'
import { told } from './journeys/told'
import { truedUp } from './journeys/truedUp'
import { twoWindows } from './journeys/twoWindows'
import { Person } from './person'
import { Site } from './site'
import { withTestDatabase } from './testDatabase'

const journeys: Journey[] = [
  thinSlice,
  selections,
  nudging,
  placing,
  truedUp,
  looking,
  bandsBeside,
  stickingInChromium,
  pageByKeyboard,
  shelf,
  mapByKeyboard,
  planSite,
  planByKeyboard,
  demoPlan,
  largeMap,
  gridBands,
  gridAgreed,
  styleGuide,
  kits,
  guideForShop,
  mockup,
  mockupStates,
  shownBeside,
  artwork,
  liveView,
  tokenDeleted,
  guidesAndFrames,
  exportedFits,
  exportedSite,
  draftSite,
  everyKind,
  repeated,
  reviewed,
  foundOtherwise,
  spoiltPage,
  metInOrder,
  builtPage,
  reviewAndAxe,
  told,
  fieldsAndKeys,
  foundGrid,
  gridsInChromium,
  twoWindows,
  offline,
  badInput,
  longTexts,
  looksAndAccess,
  killed,
]
const wanted = process.argv[2]

let passed = 0
let failed = 0
await withTestDatabase(async (database) => {
  for (const journey of journeys.filter(({ name }) => !wanted || name.includes(wanted))) {
    await walk(journey, database)
  }
})
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed ? 1 : 0)

async function walk(journey: Journey, database: Database) {
  const started = Date.now()
  const site = await Site.start(database, journey.name)
  const { driver, close } = await launchBrowser()
  try {
    await setViewport(driver, 1280, 800)
    await journey.run({ person: new Person(driver), site, database })
    passed++
    console.log(`ok ${journey.name} (${((Date.now() - started) / 1000).toFixed(1)} s)`)
  } catch (error) {
    failed++
    console.log(`FAILED ${journey.name}: ${(error as Error).message}`)
    const logs = await driver
      .manage()
      .logs()
      .get('browser')
      .catch(() => [])
    for (const { message } of logs.slice(-5)) console.log(`  browser: ${message}`)
  } finally {
    await close()
    await site.stop()
  }
}
