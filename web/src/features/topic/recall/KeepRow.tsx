import { useNavigate } from 'react-router'
import { Button } from '../../../ui/Button'
import { useOwn } from './useOwn'
import { wording } from '../wording'

/** At the foot of an editor: keep it, give it up, or take out what is one's own already. */
export function KeepRow({
  label,
  disabled,
  back,
  own,
  onLeave,
}: {
  label: string
  disabled: boolean
  /** Where one comes to without keeping it. */
  back: string
  own?: { id: string; title: string } | undefined
  /** What was typed is given up. */
  onLeave: () => void
}) {
  const navigate = useNavigate()
  const { remove } = useOwn()
  return (
    <p className="mt-5 flex flex-wrap gap-5">
      <Button type="submit" look="ink" disabled={disabled}>
        {label}
      </Button>
      <Button
        onClick={() => {
          onLeave()
          navigate(back)
        }}
      >
        {wording.notNow()}
      </Button>
      {own && (
        <Button
          look="quiet"
          onClick={() => {
            onLeave()
            remove.mutate(own)
            navigate('/recall')
          }}
        >
          {wording.takeItOut()}
        </Button>
      )}
    </p>
  )
}
