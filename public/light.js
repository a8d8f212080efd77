// Before the page is drawn: the light of the room that was chosen, else that of the device.
;(() => {
    let chosen = null
    try {
        chosen = localStorage.getItem('light')
    } catch {
        // the browser keeps nothing
    }
    document.documentElement.dataset.light =
        chosen ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light')
})()
