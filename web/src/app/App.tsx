import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useEffect, type ComponentType } from 'react'
import { Link, Navigate, Route, Routes, useLocation } from 'react-router'
import { sayAs, type Schemas } from '../api/client'
import { queries } from '../api/queries'
import { TodayScreen } from '../features/day/TodayScreen'
import { AllAtOnce } from '../ui/AllAtOnce'
import { NoticesProvider } from '../ui/Notices'
import { Waiting } from '../ui/Waiting'
import { useTitle } from './useTitle'
import { useTurn } from './useTurn'
import { Frame } from './Frame'
import { formats, Locale } from '../ui/locale'
import { wording } from './wording'

const CourseScreen = page(() => import('../features/course/CourseScreen'))
const LibraryScreen = page(() => import('../features/course/library/LibraryScreen'))
const EditScreen = page(() => import('../features/course/library/EditScreen'))
const MergeScreen = page(() => import('../features/course/library/MergeScreen'))
const TopicsScreen = page(() => import('../features/topic/TopicsScreen'))
const BenchScreen = page(() => import('../features/bench/BenchScreen'))
const PairScreen = page(() => import('../features/bench/PairScreen'))
const MeasureScreen = page(() => import('../features/bench/MeasureScreen'))
const WeeksScreen = page(() => import('../features/lookback/WeeksScreen'))
const WeekScreen = page(() => import('../features/lookback/WeekScreen'))
const MonthsScreen = page(() => import('../features/lookback/MonthsScreen'))
const MonthScreen = page(() => import('../features/lookback/MonthScreen'))
const YearScreen = page(() => import('../features/lookback/YearScreen'))
const BeforeScreen = page(() => import('../features/lookback/BeforeScreen'))
const FavouritesScreen = page(() => import('../features/lookback/FavouritesScreen'))
const SittingsScreen = page(() => import('../features/lookback/SittingsScreen'))
const WhatForScreen = page(() => import('../features/lookback/WhatForScreen'))
const RecallScreen = page(() => import('../features/topic/recall/RecallScreen'))
const PlateScreen = page(() => import('../features/topic/recall/PlateScreen'))
const OrderScreen = page(() => import('../features/topic/recall/OrderScreen'))
const OwnPlateScreen = page(() => import('../features/topic/recall/OwnPlateScreen'))
const OwnOrderScreen = page(() => import('../features/topic/recall/OwnOrderScreen'))
const EasyScreen = page(() => import('../features/day/easy/EasyScreen'))
const YearAheadScreen = page(() => import('../features/course/YearAheadScreen'))
const RankingScreen = page(() => import('../features/lookback/RankingScreen'))
const MeasureOnScreen = page(() => import('../features/bench/MeasureOnScreen'))
const NewPairScreen = page(() => import('../features/bench/NewPairScreen'))
const ShelfScreen = page(() => import('../features/shelf/ShelfScreen'))
const TopicScreen = page(() => import('../features/topic/TopicScreen'))
const EditorScreen = page(() => import('../features/topic/EditorScreen'))
const DayScreen = page(() => import('../features/day/page/DayScreen'))
const PrintScreen = page(() => import('../features/course/PrintScreen'))
const QuotasScreen = page(() => import('../features/promise/QuotasScreen'))
const WorksheetScreen = page(() => import('../features/promise/WorksheetScreen'))
const BuilderScreen = page(() => import('../features/sitting/BuilderScreen'))
const RunningScreen = page(() => import('../features/sitting/RunningScreen'))
const CabinetScreen = page(() => import('../features/sitting/cabinet/CabinetScreen'))
const BooksScreen = page(() => import('../features/book/BooksScreen'))
const PageScreen = page(() => import('../features/book/PageScreen'))
const SheetScreen = page(() => import('../features/book/SheetScreen'))
const TrayScreen = page(() => import('../features/book/TrayScreen'))
const PiecesScreen = page(() => import('../features/book/piece/PiecesScreen'))
const PieceScreen = page(() => import('../features/book/piece/PieceScreen'))
const StraightenScreen = page(() => import('../features/book/StraightenScreen'))
const SettingsScreen = page(() => import('./SettingsScreen'))
const SearchScreen = page(() => import('../features/lookback/search/SearchScreen'))
const FirstStart = lazy(() => import('../features/ground/start/FirstStart'))

/**
 * A page that is loaded when it is first opened, and shown once all that it reads is there. Under another address it
 * begins anew, yet is not hidden again.
 */
function page(load: () => Promise<{ default: ComponentType }>) {
  const Page = lazy(load)
  return function Whole() {
    const { pathname } = useLocation()
    return (
      <AllAtOnce>
        <Page key={pathname} />
      </AllAtOnce>
    )
  }
}

/** The application: first start, then the frame with its sections. */
export function App() {
  return (
    <Waiting query={useQuery(queries.settings())}>{(settings) => <Opened settings={settings} />}</Waiting>
  )
}

function Opened({ settings }: { settings: Schemas['Settings'] }) {
  useTheme(settings.look.theme)
  useTurn()
  const cameTo = useTitle()
  const locale = settings.started ? settings.look.locale : navigator.language
  useEffect(
    () =>
      sayAs(async (message) =>
        formats(locale).sentence((await import('../shared/said/phrases')).phrase(message)),
      ),
    [locale],
  )
  return (
    <Locale.Provider value={locale}>
      <p aria-live="polite" className="sr-only">
        {cameTo}
      </p>
      <NoticesProvider>
        <Suspense fallback={<p className="p-6">{wording.reading()}</p>}>
          {settings.started ? (
            <Routes>
              <Route path="/sitting/:id" element={<RunningScreen />} />
              <Route path="*" element={<Framed />} />
            </Routes>
          ) : (
            <FirstStart settings={settings} />
          )}
        </Suspense>
      </NoticesProvider>
    </Locale.Provider>
  )
}

function Framed() {
  return (
    <Frame>
      <Suspense fallback={<p className="p-6">{wording.reading()}</p>}>
        <Routes>
          <Route path="/" element={<Navigate to="/today" replace />} />
          <Route path="/today" element={<Today />} />
          <Route path="/day/:day" element={<DayScreen />} />
          <Route path="/course" element={<CourseScreen />} />
          <Route path="/course/library" element={<LibraryScreen />} />
          <Route path="/course/edit/:id" element={<EditScreen />} />
          <Route path="/course/merge" element={<MergeScreen />} />
          <Route path="/course/topics" element={<Navigate to="/topics/edit" replace />} />
          <Route path="/shelf" element={<ShelfScreen />} />
          <Route path="/shelf/:id" element={<ShelfScreen />} />
          <Route path="/bench" element={<BenchScreen />} />
          <Route path="/bench/new" element={<NewPairScreen />} />
          <Route path="/bench/measure" element={<MeasureScreen />} />
          <Route path="/bench/:id" element={<PairScreen />} />
          <Route path="/bench/:id/measure" element={<MeasureOnScreen />} />
          <Route path="/look-back" element={<Navigate to="/look-back/weeks" replace />} />
          <Route path="/look-back/weeks" element={<WeeksScreen />} />
          <Route path="/look-back/weeks/:from" element={<WeekScreen />} />
          <Route path="/look-back/months" element={<MonthsScreen />} />
          <Route path="/look-back/months/:month" element={<MonthScreen />} />
          <Route path="/look-back/year" element={<YearScreen />} />
          <Route path="/look-back/year/:year" element={<YearScreen />} />
          <Route path="/look-back/before" element={<BeforeScreen />} />
          <Route path="/look-back/favourites" element={<FavouritesScreen />} />
          <Route path="/look-back/favourites/:id" element={<RankingScreen />} />
          <Route path="/look-back/sittings" element={<SittingsScreen />} />
          <Route path="/look-back/what-for" element={<WhatForScreen />} />
          <Route path="/recall" element={<RecallScreen />} />
          <Route path="/recall/own/plates/:id" element={<OwnPlateScreen />} />
          <Route path="/recall/own/orders/:id" element={<OwnOrderScreen />} />
          <Route path="/recall/plates/:id" element={<PlateScreen />} />
          <Route path="/recall/orders/:id" element={<OrderScreen />} />
          <Route path="/easy" element={<EasyScreen />} />
          <Route path="/course/year-ahead" element={<YearAheadScreen />} />
          <Route path="/topics" element={<TopicsScreen />} />
          <Route path="/topics/edit" element={<EditorScreen />} />
          <Route path="/topics/:id" element={<TopicScreen />} />
          <Route path="/course/print" element={<PrintScreen />} />
          <Route path="/settings" element={<SettingsScreen />} />
          <Route path="/quotas" element={<QuotasScreen />} />
          <Route path="/quotas/new" element={<WorksheetScreen />} />
          <Route path="/quotas/:id" element={<QuotasScreen />} />
          <Route path="/quotas/:id/change" element={<WorksheetScreen />} />
          <Route path="/books" element={<BooksScreen />} />
          <Route path="/books/:id" element={<BooksScreen />} />
          <Route path="/books/:id/:number" element={<PageScreen />} />
          <Route path="/sheet" element={<SheetScreen />} />
          <Route path="/tray" element={<TrayScreen />} />
          <Route path="/pieces" element={<PiecesScreen />} />
          <Route path="/pieces/:id" element={<PieceScreen />} />
          <Route path="/straighten/:id" element={<StraightenScreen />} />
          <Route path="/sitting" element={<BuilderScreen />} />
          <Route path="/cabinet" element={<CabinetScreen />} />
          <Route path="/search" element={<SearchScreen />} />
          <Route path="*" element={<Nowhere />} />
        </Routes>
      </Suspense>
    </Frame>
  )
}

function Today() {
  return (
    <AllAtOnce>
      <TodayScreen />
    </AllAtOnce>
  )
}

function Nowhere() {
  const { pathname } = useLocation()
  return (
    <div className="p-8">
      <h1>{wording.noSuchPage()}</h1>
      <p>
        {wording.nothingLiesAt()} <code>{pathname}</code>
        {wording.theTabsLeadOnOrGo()}{' '}
        <Link to="/today" className="underline underline-offset-4">
          {wording.today()}
        </Link>
        .
      </p>
    </div>
  )
}

/** Light or night by the learner's choice, or as the machine says. */
function useTheme(theme: Schemas['Settings']['look']['theme']) {
  useEffect(() => {
    const machine = matchMedia('(prefers-color-scheme: dark)')
    const apply = () => {
      const night = theme === 'NIGHT' || (theme === 'SYSTEM' && machine.matches)
      document.documentElement.dataset.theme = night ? 'night' : 'light'
    }
    apply()
    machine.addEventListener('change', apply)
    return () => machine.removeEventListener('change', apply)
  }, [theme])
}
