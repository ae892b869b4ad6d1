// Made from en.json by "npm run words".
import { plural } from '../../../ui/language'

export const messages = {
  figuresStanding: () => `figures, standing`,
  figuresSitting: () => `figures, sitting`,
  figuresLying: () => `figures, lying`,
  figuresInAction: () => `figures in action`,
  boxes: () => `boxes`,
  cylinders: () => `cylinders`,
  cones: () => `cones`,
  headsInPlanes: () => `heads in planes`,
  hulls: () => `hulls`,
  torsos: () => `torsos`,
  hands: () => `hands`,
  feet: () => `feet`,
  asItComes: () => `as it comes`,
  littleForeshortening: () => `little foreshortening`,
  muchForeshortening: () => `much foreshortening`,
  legsTowardYou: () => `legs toward you`,
  armsTowardYou: () => `arms toward you`,
  shouldersAndHipsThatTilt: () => `shoulders and hips that tilt`,
  fromTheFront: () => `from the front`,
  threeQuarter: () => `three-quarter`,
  fromTheSide: () => `from the side`,
  fromBehind: () => `from behind`,
  fromAbove: () => `from above`,
  fromBelow: () => `from below`,
  neededNeeded: (a: { needed: string | number }) => `${a.needed} needed,`,
  thereThere: (a: { there: string | number }) => `${a.there} there, `,
  unusedNotUsedYet: (a: { unused: string | number }) => `${a.unused} not used yet`,
  missingToGather: (a: { missing: string | number }) => `, ${a.missing} to gather`,
  drawFromItName: (a: { name: string | number }) => `Draw from it: ${a.name}`,
  drawFromIt: () => `Draw from it`,
  learnedMinutesMinFromSittingsOn: (a: {
    minutes: string | number
    sittings: number
    days: number
    ownMinutes: string | number
  }) =>
    `Learned: ${a.minutes} min, from ${plural(a.sittings, { one: `${a.sittings} sitting`, other: `${a.sittings} sittings` })} on ${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })} (their median is ${a.ownMinutes} min, drawn a little toward your figure).`,
  yourGuessUntilTenSittingsHave: () => `Your guess, until ten sittings have told what it really takes.`,
  yourGuessUntilTenSittingsHave2: (a: { sittings: number }) =>
    `Your guess, until ten sittings have told what it really takes; ${plural(a.sittings, { one: `${a.sittings} sitting has`, other: `${a.sittings} sittings have` })} so far.`,
}
