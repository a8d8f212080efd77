import type { Said } from '../said'

export const mishap = 'Mishap'
export const backToTheBench = 'Back to the bench'
export const whatHappened = 'What happened?'
export const where = 'Where?'
export const countWhatIsLeft = 'Count what is left on the shelf'
export const writtenDownFor = (title: Said) => `Written down for ${title}.`
export const howMuchIsMissing = 'How much is missing'
export const whatNow = 'What now?'
export const leaveItSo = 'Leave it as thin as that'
export const insteadOf = (asked: Said) => `instead of ${asked}.`
export const stillLevels = (thinnest: Said) => `It still levels: that takes ${thinnest}.`
export const tooThinToLevel = (thinnest: Said) => `Too thin to level: that takes ${thinnest}.`
export const mixTheRest = (total: Said) => `Or mix ${total}, with what its cup keeps`
export const inTime = (takes: Said, left: Said) =>
    `About ${takes} min to weigh and stir; the film takes it for another ${left}.`
export const tooLate = (takes: Said, left: Said) =>
    `Too late: it takes about ${takes} min to weigh and stir, and the film is open for ${left}. Coat it again in its window.`
