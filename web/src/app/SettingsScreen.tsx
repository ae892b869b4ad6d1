import { useQuery } from '@tanstack/react-query'
import { queries } from '../api/queries'
import { AppointmentsSection } from '../features/appointment/AppointmentsSection'
import { FeedSection } from '../features/feed/FeedSection'
import { NamesSection } from '../features/name/NamesSection'
import { DataSection } from '../features/settings/DataSection'
import { OwnSettings } from '../features/settings/OwnSettings'
import { SittingSection } from '../features/settings/SittingSection'
import { Waiting } from '../ui/Waiting'

/** All settings on one page. */
export default function SettingsScreen() {
  return (
    <div className="wide:px-8 px-4 py-6">
      <h1>Settings</h1>
      <Waiting query={useQuery(queries.settings())}>
        {(settings) => <OwnSettings settings={settings} />}
      </Waiting>
      <AppointmentsSection />
      <SittingSection />
      <FeedSection />
      <NamesSection />
      <DataSection />
    </div>
  )
}
