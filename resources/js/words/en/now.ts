import type { Said } from '../said'

export const halfWeighedBegun = (begunAt: Said) => `Half weighed, begun ${begunAt}`
export const goOnWeighing = 'Go on weighing'
export const pourIt = 'Pour it'
export const over = (left: Said) => `${left} over`
export const ofItsPotLifeLeft = 'of its pot life left'
export const pastItsPotLifePourItOutThin = 'past its pot life: pour it out thin'
export const theCupOfThrownAway = (title: Said) => `The cup of ${title} thrown away`
export const thrownAway = 'Thrown away'
export const offTheBench = (title: Said) => `Off the bench, ${title}`
export const offTheBenchShort = 'Off the bench'
export const ofOpenTimeLeft = (openUntil: Said) => `, ${openUntil} of open time left`
export const pastItsOpenTime = ', past its open time'
export const n1ActWasMissed = '1 act was missed'
export const actsWereMissed = (gone: Said) => `${gone} acts were missed`
export const canBeHandled = 'Can be handled'
export const writeDownWhatItTook = 'Write down what it took'
export const pour = 'Pour'
export const dueAgo = (dueIn: Said) => `${dueIn} ago`
export const setting = 'Setting'
export const writeDownTheBottleInYourHandItsNameIts =
    'Write down the bottle in your hand: its name, its ratio, its working time. Then measure one piece, and you know what to mix.'
export const measureOnePieceItsWidthItsHeightHow =
    'Measure one piece: its width, its height, how deep its edge is. The rest follows: how much to mix, when to torch, when to coat again.'
export const nothingIsSettingChooseAPieceReadWhatTo =
    'Nothing is setting. Choose a piece, read what to weigh out, start the clock.'
export const writeDownABottle = 'Write down a bottle'
export const toThePieces = 'To the pieces'
export const plannedNotOnTheBench = 'Planned, not on the bench'
export const oneCupStandsMixedPourIt = 'One cup stands mixed: pour it'
export const cupsStandMixedPourThem = (mixed: Said) => `${mixed} cups stand mixed: pour them`
export const onePourIsUnderWay = 'One pour is under way'
export const poursAreUnderWay = (pouring: Said) => `${pouring} pours are under way`
export const theBenchIsFree = 'The bench is free'
export const aCupIsHalfWeighed = 'A cup is half weighed'
export const nothingWantsAHandWithinTheHour = 'Nothing wants a hand within the hour'
export const onePieceWantsAHandWithinTheHour = 'One piece wants a hand within the hour'
export const piecesWantAHandWithinTheHour = (soon: Said) => `${soon} pieces want a hand within the hour`
export const now = 'Now'
export const noAnswerFromTheStudioThisIsWhatItSaid = 'No answer from the studio: this is what it said last.'
export const takeInAPiece = 'Take in a piece'
export const mixedNotPoured = (at: Said, ago: Said) => `Mixed ${at}, ${ago} ago: not poured`
export const cupOf = (title: Said) => `Cup of ${title}`
export const mixedAgo = (time: Said) => `Mixed ${time} ago`
export const toPhase = (phase: Said) => `to ${phase}`
export const numberAndSize = (number: Said, size: Said) => `no. ${number}, ${size}`
export const atTheBench = 'At the bench'
