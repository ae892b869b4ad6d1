import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useEffect } from 'react'
import { Navigate, Route, Routes } from 'react-router'
import type { Schemas } from '../api/client'
import { queries } from '../api/queries'
import { TodayPage } from '../features/today/TodayPage'
import { NoticesProvider } from '../ui/Notices'
import { Waiting } from '../ui/Waiting'
import { Frame } from './Frame'
import { Locale } from './locale'

const CoursePage = lazy(() => import('../features/course/CoursePage'))
const LibraryPage = lazy(() => import('../features/course/library/LibraryPage'))
const EditPage = lazy(() => import('../features/course/library/EditPage'))
const MergePage = lazy(() => import('../features/course/library/MergePage'))
const TopicsPage = lazy(() => import('../features/course/TopicsPage'))
const PrintPage = lazy(() => import('../features/course/PrintPage'))
const QuotasPage = lazy(() => import('../features/quota/QuotasPage'))
const WorksheetPage = lazy(() => import('../features/quota/WorksheetPage'))
const BuilderPage = lazy(() => import('../features/sitting/BuilderPage'))
const RunningPage = lazy(() => import('../features/sitting/RunningPage'))
const CabinetPage = lazy(() => import('../features/sitting/CabinetPage'))
const SettingsPage = lazy(() => import('../features/settings/SettingsPage'))
const SearchPage = lazy(() => import('../features/search/SearchPage'))
const FirstStart = lazy(() => import('../features/start/FirstStart'))

/** The application: first start, then the frame with its sections. */
export function App() {
  return (
    <Waiting query={useQuery(queries.settings())}>{(settings) => <Opened settings={settings} />}</Waiting>
  )
}

function Opened({ settings }: { settings: Schemas['Settings'] }) {
  useTheme(settings.theme)
  return (
    <Locale.Provider value={settings.started ? settings.locale : navigator.language}>
      <NoticesProvider>
        <Suspense fallback={<p className="p-6">Reading…</p>}>
          {settings.started ? (
            <Routes>
              <Route path="/sitting/:id" element={<RunningPage />} />
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
      <Suspense fallback={<p className="p-6">Reading…</p>}>
        <Routes>
          <Route path="/" element={<Navigate to="/today" replace />} />
          <Route path="/today" element={<TodayPage />} />
          <Route path="/course" element={<CoursePage />} />
          <Route path="/course/library" element={<LibraryPage />} />
          <Route path="/course/edit/:id" element={<EditPage />} />
          <Route path="/course/merge" element={<MergePage />} />
          <Route path="/course/topics" element={<TopicsPage />} />
          <Route path="/course/print" element={<PrintPage />} />
          <Route path="/settings" element={<SettingsPage />} />
          <Route path="/quotas" element={<QuotasPage />} />
          <Route path="/quotas/new" element={<WorksheetPage />} />
          <Route path="/quotas/:id" element={<QuotasPage />} />
          <Route path="/quotas/:id/change" element={<WorksheetPage />} />
          <Route path="/sitting" element={<BuilderPage />} />
          <Route path="/cabinet" element={<CabinetPage />} />
          <Route path="/search" element={<SearchPage />} />
          <Route path="*" element={<Nowhere />} />
        </Routes>
      </Suspense>
    </Frame>
  )
}

function Nowhere() {
  return <p className="p-8">There is no such page. The tabs at the edge lead on.</p>
}

/** Light or night by the learner's choice, or as the machine says. */
function useTheme(theme: Schemas['Settings']['theme']) {
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
