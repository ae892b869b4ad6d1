import { useEffect, useState } from 'react'
import { Link, useParams } from 'react-router'
import { Button, LINE_LINK } from '../../ui/Button'
import { useNotice } from '../../ui/Notices'
import { Waiting } from '../../ui/Waiting'
import { isForPage } from '../../ui/typing'
import { Closing } from './Closing'
import { useAwake, useSignals } from './signals'
import { clock, DRILLS, STEPS, type Sitting } from './text'
import { useSitting, type Now, type Press } from './useSitting'
import { wording } from './wording'

/** A sitting that runs, on the whole screen: the reference, the time left, and nothing else. */
export default function RunningScreen() {
  const { id = '' } = useParams()
  const { query, sitting, now, press } = useSitting(id)
  if (query.isError && !sitting) {
    return (
      <main>
        <h1 className="sr-only">{wording.sitting()}</h1>
        <Waiting query={query}>{() => null}</Waiting>
        <Link to="/" className={`${LINE_LINK} mx-6`}>
          {wording.toToday()}
        </Link>
      </main>
    )
  }
  return (
    <Waiting query={query}>
      {() =>
        sitting && now ? (
          sitting.over ? (
            <Closing sitting={sitting} />
          ) : (
            <Screen sitting={sitting} now={now} press={press} />
          )
        ) : null
      }
    </Waiting>
  )
}

function Screen({
  sitting,
  now,
  press,
}: {
  sitting: Sitting
  now: Now
  press: (what: Press) => Promise<void>
}) {
  const say = useNotice()
  const [dark, setDark] = useState(false)
  const step = sitting.steps[now.step]
  const rests = step?.kind === 'BREAK'
  const flashing = useSignals(now.step, rests, sitting)
  useAwake(!sitting.paused)
  useNight(dark)
  const send = (what: Press) => press(what).catch((error: Error) => say(error.message))
  const toggle = sitting.paused ? 'RESUME' : 'PAUSE'
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (!isForPage(event) || event.target instanceof HTMLButtonElement) {
        return
      }
      const what = { ' ': toggle, ArrowRight: 'SKIP', ArrowLeft: 'BACK' }[event.key] as Press | undefined
      if (what) {
        event.preventDefault()
        press(what).catch((error: Error) => say(error.message))
      }
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [toggle, press, say])
  return (
    <main className={`bg-paper text-ink flex h-dvh flex-col ${flashing ? 'invert' : ''}`}>
      <header className="flex flex-wrap items-baseline gap-x-6 px-5 py-3">
        <h1 className="text-xl">{sitting.title}</h1>
        <p aria-live="polite">
          {rests || !step
            ? wording.breakWord()
            : wording.partDrawingOfDrawings({
                part: step.part ? `${step.part}, ` : '',
                drawing: step.drawing + 1,
                drawings: sitting.drawings,
              })}
        </p>
        {sitting.aim && <p className="font-serif italic opacity-80">{sitting.aim}</p>}
        <Button className="ml-auto" onClick={wholeScreen}>
          {wording.wholeScreen()}
        </Button>
        <Button aria-pressed={dark} onClick={() => setDark(!dark)}>
          {dark ? wording.light() : wording.dark()}
        </Button>
      </header>
      <div className="[container-type:size] relative mx-5 grid min-h-0 flex-1 place-items-center">
        <Reference sitting={sitting} now={now} dark={dark} />
      </div>
      {now.next && <link rel="preload" as="image" href={now.next} />}
      <footer className="px-5 pt-2 pb-4">
        <TimeLeft share={now.leftShare} paused={sitting.paused} />
        <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
          <p
            className="min-w-24 font-serif text-3xl tabular-nums"
            role="timer"
            data-left={Math.round(now.leftMillis)}
          >
            {clock(now.leftMillis)}
          </p>
          <p className="min-w-40">
            {sitting.paused ? wording.paused() : step && STEPS[step.kind]}
            {sitting.drill !== 'NONE' && !rests && (
              <span className="block opacity-80">{DRILLS[sitting.drill].line}</span>
            )}
          </p>
          <div className="ml-auto flex flex-wrap gap-x-6">
            <Button onClick={() => send('BACK')}>{wording.back()}</Button>
            <Button onClick={() => send(toggle)}>{sitting.paused ? wording.goOn() : wording.pause()}</Button>
            <Button onClick={() => send('SKIP')}>
              {rests ? wording.noMoreRest() : wording.anotherOne()}
            </Button>
            <Button onClick={() => send('FINISH')}>{wording.finish2()}</Button>
          </div>
        </div>
      </footer>
    </main>
  )
}

function Reference({ sitting, now, dark }: { sitting: Sitting; now: Now; dark: boolean }) {
  const step = sitting.steps[now.step]
  if (!step || step.kind === 'BREAK') {
    return <p className="max-w-md text-center font-serif text-2xl">{wording.putThePenDownLookFar()}</p>
  }
  if (!step.shows) {
    return (
      <p className="font-serif text-3xl">
        {step.kind === 'HOLD' ? wording.holdItInMind2() : wording.drawWhatYouSaw2()}
      </p>
    )
  }
  if (!now.picture) {
    return <p className="font-serif text-3xl">{step.part || wording.draw3()}</p>
  }
  // A picture of the cabinet is a sheet of its own; its shadows run out at the edge of it.
  const fit = now.picture.startsWith('/api/cabinet')
    ? 'm-auto size-[min(100cqw,100cqh)] border border-hairline'
    : 'size-full object-contain'
  return (
    <img
      key={now.picture}
      src={now.picture}
      alt={wording.theReference()}
      className={`absolute inset-0 ${fit} ${sitting.drill === 'UPSIDE_DOWN' ? 'rotate-180' : ''} ${dark ? 'brightness-75' : ''}`}
    />
  )
}

/** Chalk on slate while it is wanted, whatever the settings say. */
function useNight(wanted: boolean) {
  useEffect(() => {
    const { dataset } = document.documentElement
    const before = dataset.theme
    if (wanted) {
      dataset.theme = 'night'
    }
    return () => {
      dataset.theme = before
    }
  }, [wanted])
}

/** Gives the page the whole screen, or gives it back. */
function wholeScreen() {
  const done = document.fullscreenElement
    ? document.exitFullscreen()
    : document.documentElement.requestFullscreen()
  done.catch(() => undefined)
}

/** The time left as a stroke that shrinks. */
function TimeLeft({ share, paused }: { share: number; paused: boolean }) {
  return (
    <svg viewBox="0 0 1000 12" preserveAspectRatio="none" className="mb-2 h-3 w-full" aria-hidden>
      <line x1={0} x2={1000} y1={6} y2={6} stroke="currentColor" strokeWidth={1} opacity={0.25} />
      <line
        x1={0}
        x2={share * 1000}
        y1={6}
        y2={6}
        stroke="currentColor"
        strokeWidth={7}
        strokeDasharray={paused ? '10 8' : undefined}
      />
    </svg>
  )
}
