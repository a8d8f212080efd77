import type { ReactNode } from 'react'

interface Props {
    /** What kinds of file, as an input takes them. */
    accept: string
    onFile: (file: File) => void
    className: string
    /** The id of what is said of the file that was chosen. */
    describedBy?: string
    children: ReactNode
}

/** A file to be chosen, as large and as plain as what stands in it; the same file can be chosen again. */
export function FileChoice({ accept, onFile, className, describedBy, children }: Props): ReactNode {
    return (
        <label className={`cursor-pointer focus-within:outline-3 focus-within:outline-act ${className}`}>
            {children}
            <input
                type="file"
                accept={accept}
                className="sr-only"
                aria-describedby={describedBy}
                onChange={(event) => {
                    const file = event.target.files?.[0]
                    event.target.value = ''
                    if (file !== undefined) onFile(file)
                }}
            />
        </label>
    )
}
