import { useEffect, useRef } from 'react'
import { useIsFetching, useQuery, useQueryClient } from '@tanstack/react-query'
import { useLocation } from 'react-router'
import { queries } from '../api/queries'
import { AppointmentsSection } from '../features/course/appointment/AppointmentsSection'
import { FeedSection } from '../features/course/feed/FeedSection'
import { NamesSection } from '../features/ground/name/NamesSection'
import { CopiesSection } from '../features/ground/settings/CopiesSection'
import { DataSection } from '../features/ground/settings/DataSection'
import { OwnSettings } from '../features/ground/settings/OwnSettings'
import { PicturesSection } from '../features/ground/settings/PicturesSection'
import { Waiting } from '../ui/Waiting'
import { wording } from './wording'

/** The parts of the page by the ids of their headings. */
const PARTS = {
  'what-for': wording.whatFor(),
  time: wording.time(),
  counting: wording.countingDays(),
  topics: wording.topics(),
  sittings: wording.sittings(),
  pages: wording.pages(),
  appointments: wording.fixedAppointments(),
  pictures: wording.picturesToDrawFrom(),
  feed: wording.calendar(),
  names: wording.names(),
  data: wording.yourData(),
  copies: wording.copies(),
}

/** All settings on one page, with an index of its parts. */
export default function SettingsScreen() {
  const settings = useQuery(queries.settings())
  const sittings = useQuery(queries.sittingSettings())
  useShownPart(settings.isSuccess && sittings.isSuccess)
  return (
    <div className="wide:px-8 px-4 py-6">
      <h1>{wording.settings()}</h1>
      <nav aria-label={wording.partsOfThisPage()} className="no-print mt-1 flex flex-wrap gap-x-5">
        {Object.entries(PARTS).map(([id, name]) => (
          <a
            key={id}
            href={`#${id}`}
            className="decoration-hairline inline-flex min-h-8 items-center underline underline-offset-4 pointer-coarse:min-h-11"
          >
            {name}
          </a>
        ))}
      </nav>
      <Waiting query={settings}>
        {(own) => (
          <Waiting query={sittings}>{(sitting) => <OwnSettings settings={own} sittings={sitting} />}</Waiting>
        )}
      </Waiting>
      <AppointmentsSection />
      <PicturesSection />
      <FeedSection />
      <NamesSection />
      <DataSection />
      <CopiesSection />
    </div>
  )
}

/** Shows the part that the address names, once all parts above it have their height. */
function useShownPart(whole: boolean) {
  const { hash } = useLocation()
  const client = useQueryClient()
  const fetching = useIsFetching()
  const shown = useRef('')
  useEffect(() => {
    // Asked anew, since the parts begin to read after this was drawn.
    if (whole && client.isFetching() === 0 && shown.current !== hash) {
      shown.current = hash
      document.getElementById(hash.slice(1))?.scrollIntoView()
    }
  }, [hash, whole, client, fetching])
}
