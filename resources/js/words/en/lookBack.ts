import type { Said } from '../said'

export const readOffACup = 'read off a cup'
export const asPlannedNotMeasured = 'as planned, not measured'
export const notKnown = 'not known'
export const pouredAt = (pouredAt: Said) => `, poured at ${pouredAt}`
export const stillSettingToThePour = 'Still setting: to the pour'
export const eraseTheseWordsForGood = 'Erase these words for good'
export const writeDownWhatItTook = 'Write down what it took'
export const planned = 'Planned'
export const used = 'Used'
export const whatItTookWasNotWrittenDown = 'What it took was not written down.'
export const aAndB = (aHow: Said) => `A and B: ${aHow}`
export const tooLittlePartB = 'Too little part B'
export const tooLittlePartA = 'Too little part A'
export const gWereSaid = (g: Said, ml: Said) => `; ${g} g (${ml}) were said.`
export const notWrittenDown = 'not written down'
export const allDoneInTime = (acts: number) =>
    acts === 1 ? 'The one act was done in its time.' : `All ${acts} acts were done in their time.`
export const late = (off: Said) => `${off} late`
export const early = (off: Said) => `${off} early`
export const theAmountWasAsPlannedWithinAHundredth = 'The amount was as planned, within a hundredth.'
export const moreThanPlanned = (amount: Said, percent: Said) => `${amount} more than planned, ${percent} %.`
export const lessThanPlanned = (amount: Said, percent: Said) => `${amount} less than planned, ${percent} %.`
export const pieces = 'Pieces'
export const planAnotherPour = 'Plan another pour'
export const planTheNextCoat = 'Plan the next coat'
export const nothingHasBeenPouredOnThisPieceYet = 'Nothing has been poured on this piece yet.'
export const pouredOn = (name: Said, startedAt: Said) => `${name}, poured on ${startedAt}`
export const olderAndNewerPours = 'Older and newer pours'
export const newer = 'Newer'
export const older = 'Older'
export const room = (temperature: Said, humidity: Said) => `, room ${temperature}, ${humidity} %`
export const pouredAgainstAStop = (reason: Said) => `Poured against a stop: ${reason}`
export const ratioOff = (what: Said, off: Said, takes: Said) =>
    `${what}: the ratio is off by ${off} %, and this resin takes up to ${takes} %. It may stay soft: look at it again before the next coat.`
export const ranOff = (grams: Said) => `${grams} g ran off`
export const pageOf = (page: Said, pages: Said) => `${page} of ${pages}`
export const leftInTheCup = (ml: Said) => `${ml} of it were left in the cup.`
