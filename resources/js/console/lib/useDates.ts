import { dayAndTime } from '../../shared/dates'
import { useSession } from './session'

/** Moments as the seller reads them: in the shop's zone, wherever the browser is. */
export function useDates(): { dayAndTime: (moment: string) => string } {
  const session = useSession()
  return { dayAndTime: (moment) => dayAndTime(moment, session.shop?.timezone ?? 'UTC') }
}
