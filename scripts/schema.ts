/** npm run schema: publishes the JSON Schema of the display profile, made from the Valibot schema. */
import { writeFileSync } from "node:fs";
import { profileJsonSchema } from "./profileJsonSchema";

const path = new URL("../docs/display-profile.schema.json", import.meta.url);
writeFileSync(path, profileJsonSchema());
console.log("docs/display-profile.schema.json written");
