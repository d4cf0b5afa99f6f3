// Holds openapi.json and openapi-embed.json to the recommended rules of a linter for OpenAPI, and says where it breaks one.
import { createConfig, lint } from '@redocly/openapi-core'

const config = await createConfig({ extends: ['recommended'] })
const problems = (await Promise.all(['openapi.json', 'openapi-embed.json'].map((ref) => lint({ ref, config })))).flat()
for (const { ruleId, message, location } of problems) console.error(`${ruleId} at ${location[0]?.pointer}: ${message}`)
process.exit(problems.length > 0 ? 1 : 0)
