/** Now, the run, a running pour, a cup. */
const KEPT = /^\/($|run$|pours\/[^/]+$|mixings\/[^/]+$)/

/** Whether a page is kept in the device, to be shown without a network. */
export function isKept(url: string): boolean {
    return KEPT.test(new URL(url, location.origin).pathname)
}
