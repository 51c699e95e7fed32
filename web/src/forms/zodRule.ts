import type { FormItemRule } from 'element-plus'
import type { ZodType } from 'zod'

/** A rule of a form that lets through what a schema does, and else says in the schema's words what is wrong. */
export function zodRule(schema: ZodType, when: 'blur' | 'change' = 'blur'): FormItemRule {
  return {
    trigger: when,
    validator: (_, value) => {
      const { success, error } = schema.safeParse(value)
      return success ? true : new Error(error.issues[0].message)
    },
  }
}
