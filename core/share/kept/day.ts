import { type Ahead, type DayWishes, type OwnTask, dayLimits } from '../../day'
import { amount, byKey, fieldsOf, flag, id, list, may, number, oneOf, text } from './schema'

/** What may be kept of a day. */
export const dayWishesSchema = fieldsOf<DayWishes>({
  minutes: may(byKey(number)),
  notBefore: may(byKey(number)),
  outBy: may(byKey(number)),
  ahead: may(
    byKey(
      fieldsOf<Ahead>({
        days: number.integer().min(0).max(dayLimits.ahead),
        how: oneOf(['kept', 'frozen']),
      }),
    ),
  ),
  own: may(
    list(
      fieldsOf<OwnTask>({
        id,
        says: text(dayLimits.says),
        minutes: amount.max(dayLimits.minutes),
        hands: flag,
        after: may(id),
        before: may(id),
      }),
      dayLimits.tasks,
    ),
  ),
})
