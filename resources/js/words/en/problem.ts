export const notHere = 'Not here'
export const toWhatIsOnTheBenchNow = 'To what is on the bench now'
