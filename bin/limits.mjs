// Writes the allowed range of every request field, as the API document states it, for the client's forms.
import { readFileSync, writeFileSync } from 'node:fs';

const [, , into] = process.argv;
const { schemas } = JSON.parse(readFileSync(`${into}/docs/formats/openapi.json`, 'utf8')).components;
const limits = {};
for (const [name, schema] of Object.entries(schemas)) {
    for (const [field, { minimum, maximum, maxLength, maxItems, items }] of Object.entries(schema.properties ?? {})) {
        if ((name.endsWith('Input') || name === 'GearFigures') && (minimum ?? maximum ?? maxLength ?? maxItems) !== undefined) {
            limits[name] ??= {};
            limits[name][field] = { low: minimum, high: maximum, longest: maxLength ?? items?.maxLength, most: maxItems };
        }
    }
}
const text = JSON.stringify(limits, null, 4).replace(/"(\w+)":/g, '$1:');
const order = JSON.stringify(schemas.Call.properties.verdict.enum).replaceAll('"', "'").replaceAll(',', ', ');
writeFileSync(
    `${into}/client/domain/limits.gen.ts`,
    `/** Made by bin/steady types from the API document; not to be edited. */\nexport const limits = ${text} as const;\n\n/** The verdicts in their order of precedence. */\nexport const verdictOrder = ${order} as const;\n`,
);
