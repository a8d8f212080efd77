// Prints what pages say that they are handed (pages.ts) as a JSON Schema.
import { createGenerator } from 'ts-json-schema-generator'

const generator = createGenerator({
    path: 'tests/Feature/Pages/pages.ts',
    tsconfig: 'tsconfig.json',
    expose: 'none',
    topRef: false,
    jsDoc: 'none',
    skipTypeCheck: true,
    additionalProperties: true,
})
process.stdout.write(JSON.stringify(generator.createSchema('Pages')))
