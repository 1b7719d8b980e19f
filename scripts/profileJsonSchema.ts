/** The display profile's JSON Schema as text, from the same Valibot schema that reads profiles. */
import { toJsonSchema } from "@valibot/to-json-schema";
import { DisplayProfileSchema } from "../src/core/display/profileSchema";
import { FORMAT_VERSION } from "../src/core/display/profileFormat";

export function profileJsonSchema(): string {
  const schema = toJsonSchema(DisplayProfileSchema, { errorMode: "ignore" });
  return `${JSON.stringify({ ...schema, title: `Odd Spoke display profile, format ${FORMAT_VERSION}` }, null, 2)}\n`;
}
