import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useCallback, useEffect, useRef, type FormEvent, type ReactNode } from 'react'
import { Link, NavLink, useLocation, useNavigate, useSearchParams } from 'react-router'
import { queries } from '../api/queries'
import { LINE_LINK } from '../ui/Button'
import { Mishap } from '../ui/Mishap'
import { Key } from '../ui/Key'
import { useFormats } from '../ui/locale'
import { isIn, SECTIONS } from './sections'
import { useKeys } from './useKeys'
import { useOpening } from '../ui/opening'
import { wording } from './wording'

const KeyList = lazy(() => import('./KeyList'))

const TABS = [...SECTIONS, { path: '/settings', label: wording.settings() }]

/** The spread with its head line, and the index tabs at its edge. */
export function Frame({ children }: { children: ReactNode }) {
  const [help, setHelp] = useOpening(false)
  const search = useRef<HTMLInputElement>(null)
  useKeys({
    onHelp: useCallback(() => setHelp(true), [setHelp]),
    onSearch: useCallback(() => search.current?.focus(), []),
  })
  const { pathname } = useLocation()
  useEffect(() => {
    window.scrollTo(0, 0)
  }, [pathname])
  return (
    <div className="wide:flex-row wide:pr-1 mx-auto flex max-w-[100rem] flex-col">
      <a href="#main" className="bg-ink text-paper absolute -top-20 left-2 z-50 p-2 focus:top-2">
        {wording.toThePage()}
      </a>
      <div className="spread bg-paper rounded-paper wide:my-3.5 wide:ml-3.5 wide:min-h-[calc(100dvh-1.75rem)] flex min-h-[calc(100dvh-3.5rem)] min-w-0 flex-1 flex-col">
        <Head search={search} onHelp={() => setHelp(true)} />
        <RunningSitting />
        <main id="main" tabIndex={-1} className="flex flex-1 flex-col outline-none">
          <Mishap at={pathname}>{children}</Mishap>
        </main>
      </div>
      <Tabs />
      <Suspense>{help && <KeyList onClose={() => setHelp(false)} />}</Suspense>
    </div>
  )
}

/** A sitting that was left runs on; the way back to it is on every page. */
function RunningSitting() {
  const sitting = useQuery(queries.currentSitting()).data?.sitting
  if (!sitting || sitting.over) {
    return null
  }
  return (
    <aside
      aria-label={wording.aSittingUnderWay()}
      className="no-print border-hairline wide:px-8 border-b px-4 py-2"
    >
      {sitting.paused ? wording.aSittingIsPaused() : wording.aSittingIsRunning()}: {sitting.title}.{' '}
      <NavLink to={`/sitting/${sitting.id}`} className={LINE_LINK}>
        {wording.backToIt()}
      </NavLink>
    </aside>
  )
}

function Head({ search, onHelp }: { search: React.RefObject<HTMLInputElement | null>; onHelp: () => void }) {
  const format = useFormats()
  const { data: today, isPending } = useQuery(queries.today())
  const course = today?.course
  return (
    <header
      // How many lines the day and the course take on a narrow page shows when they are there.
      className={`border-hairline wide:px-8 flex flex-wrap items-baseline gap-x-5 gap-y-1 border-b px-4 py-3 ${isPending ? 'wide:visible invisible' : ''}`}
    >
      <p className="font-serif text-xl font-medium">{wording.humbleQuill()}</p>
      <p className="text-faded min-w-[min(12rem,100%)] flex-1">
        {today && <span className="text-ink font-medium">{format.longDay(today.day)}</span>}
        {course && (
          <span className="max-sm:block">
            <span className="max-sm:hidden"> · </span>
            {course.title}
            {course.week && (
              <>
                {wording.weekWeekOfWeeks({ week: course.week, weeks: course.weeks })}{' '}
                <span className="text-ink font-medium">{course.weekTitle}</span>
              </>
            )}
          </span>
        )}
      </p>
      <SearchBox input={search} />
      <button
        type="button"
        onClick={onHelp}
        className="no-print wide:inline-block hidden min-h-8"
        aria-label={wording.keys()}
      >
        <Key name="?" />
      </button>
    </header>
  )
}

function SearchBox({ input }: { input: React.RefObject<HTMLInputElement | null> }) {
  const navigate = useNavigate()
  const { pathname } = useLocation()
  const [params] = useSearchParams()
  const searched = pathname === '/search' ? (params.get('q') ?? '') : ''
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const text = String(new FormData(event.currentTarget).get('q') ?? '').trim()
    if (text !== '') {
      navigate(`/search?q=${encodeURIComponent(text)}`)
    }
  }
  return (
    <form
      role="search"
      onSubmit={submit}
      className="no-print border-faded flex items-center gap-2 border-b max-sm:w-full"
    >
      <input
        key={searched}
        ref={input}
        name="q"
        defaultValue={searched}
        placeholder={wording.search()}
        maxLength={200}
        aria-label={wording.searchEntriesAndExercises()}
        className="placeholder:text-faded min-h-8 w-36 bg-transparent px-1 max-sm:w-full pointer-coarse:min-h-11"
      />
      <span className="wide:inline hidden">
        <Key name="/" />
      </span>
    </form>
  )
}

/** Tells the styles how high the tabs stand: with large letters they take more than one line. */
function useTabsHeight(tabs: React.RefObject<HTMLElement | null>) {
  useEffect(() => {
    const told = new ResizeObserver(() => {
      if (tabs.current) {
        document.documentElement.style.setProperty('--tabs', `${tabs.current.offsetHeight}px`)
      }
    })
    if (tabs.current) {
      told.observe(tabs.current)
    }
    return () => told.disconnect()
  }, [tabs])
}

function Tabs() {
  const { pathname } = useLocation()
  const tabs = useRef<HTMLElement>(null)
  useTabsHeight(tabs)
  return (
    <nav
      ref={tabs}
      aria-label={wording.sections()}
      className="no-print bg-desk border-hairline wide:top-0 wide:h-dvh wide:w-12 wide:flex-col wide:flex-nowrap wide:gap-1 wide:border-0 wide:bg-transparent wide:pt-10 sticky bottom-0 z-30 flex flex-wrap border-t"
    >
      {TABS.map((tab) => (
        <Link
          key={tab.path}
          to={tab.path}
          aria-current={isIn(tab, pathname) ? 'page' : undefined}
          className={`wide:h-[4.75rem] wide:flex-none wide:rounded-r-[3px] wide:[writing-mode:vertical-rl] wide:text-base grid min-h-[48px] flex-auto place-items-center px-0.5 text-center text-sm ${
            isIn(tab, pathname)
              ? 'bg-paper font-medium'
              : 'text-faded wide:bg-deeper wide:mr-3 hover:text-ink'
          } ${tab.path === '/settings' ? 'wide:mt-auto wide:mb-4' : ''}`}
        >
          {tab.label}
        </Link>
      ))}
    </nav>
  )
}
