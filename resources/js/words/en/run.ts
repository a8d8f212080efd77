import type { Said } from '../said'

export const theRun = 'At the bench'
export const films = (count: number) => (count === 1 ? 'One film' : `${count} films`)
export const onTheBench = ' on the bench'
export const stickyHands = 'Sticky hands'
export const cleanHands = 'Clean hands'
export const anyHands = 'Any hands'
export const stickyGlovesOff = 'Sticky gloves off first'
export const glovesOnAgain = 'Gloves that may get sticky'
export const glovesOffBefore = ', sticky gloves off'
export const standsMixed = (cup: Said) => `${cup} stands mixed`
export const ofItsPotLifeLeft = 'of its pot life left in the cup'
export const theCupOf = (title: Said) => `The cup of ${title}`
export const offTheBench = (title: Said) => `Off the bench, ${title}`
export const notPouredTonight = (title: Said) => `${title} is not poured tonight`
export const notMixedTonight = (what: Said) => `No cup for ${what} tonight`
export const noMoreCupsTonight = 'No more cups tonight'
export const pourIt = 'Pour it'
export const toTheCup = 'To the cup'
export const mixIt = 'Mix it'
export const theNextCup = 'The next cup'
export const onWithTheCup = 'On with the cup'
export const handsAreFree = (time: Said) => `Hands are free now: about ${time}, and nothing comes late by it.`
export const handsAreFreeFrom = (at: Said, time: Said) =>
    `Hands are free from ${at}: about ${time}. A second pair can begin now.`
export const allOfTheCup = 'All that its cup still holds.'
export const ofTheCup = (pct: Said) => `About ${pct} % of what its cup still holds.`
export const shareOf = (pct: Said) => `${pct} %`
export const pourPieceOf = (place: Said, of: Said) => `Pour piece ${place} of ${of}`
export const openTimeLeft = (time: Said) => `${time} of open time left, if it goes on now`
export const pastItsOpenTime = (time: Said) => `${time} past its open time: it hardly levels`
export const takesSoLong = (time: Said) => `About ${time}.`
export const seconds = (seconds: Said) => `${seconds} s`
export const healsForAnother = (time: Said) => `This film heals for another ${time}.`
export const hasClosed = 'This film has closed: heat now leaves a scar.'
export const tonight = 'Tonight'
export const beforeTheFirstCup = 'Before the first cup'
export const allChecked = 'All checked'
export const checksLeft = (checks: number) => (checks === 1 ? 'One check left' : `${checks} checks left`)
export const resolveIt = 'Change it,'
export const orAnswerIt = 'or write down why when its clock begins.'
export const toTheFirstCup = 'To the first cup'
export const aStage = 'a stage of the pouring'
export const afterThat = 'Then'
export const pour = 'pour'
export const andMore = (count: Said) => `and ${count} more`
export const noAnswer =
    'No answer from the studio. The clocks go on in the order as it was laid; what you press is kept.'
export const layerGloves = (pairs: Said) => `Layer ${pairs} pairs of gloves: one comes off before each flame.`
export const allOf = (title: Said) => `All of ${title}`
export const now = 'Now'
export const afterTheEvening = 'Before you leave the room'
export const windowOpened = (title: Said) => `${title}: its window has opened`
export const nothingIsOnTheBench = 'Nothing is on the bench.'
export const nothingWantsAHand = 'Nothing wants a hand.'
export const whatIsPouredTonight = 'What is poured tonight'

export const whileNothingWasHeard = 'While nothing was heard of the studio:'
export const seen = 'Seen'
export const filmIs = {
    poured: (title: Said) => `${title} was poured.`,
    off: (title: Said) => `${title} is off the bench.`,
    new: (title: Said) => `${title} came on the bench.`,
}
export const filmMoved = (title: Said, what: string[]) => `${title}: ${what.join('; ')}.`
export const doneElsewhere = (act: Said) => `${act} is seen to`
export const movedTo = (act: Said, at: Said) => `${act} now at ${at}`
export const manyMoved = (count: number, act: Said, at: Said) => `${count} times moved, the next, ${act}, to ${at}`
export const isNew = (act: Said, at: Said) => `${act} came in, at ${at}`
