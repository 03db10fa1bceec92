import { useForm, type TypedSchema } from 'vee-validate';
import type { Schema } from 'yup';
import { faultWords, isUnfit } from '../data/reason';

/**
 * A form that holds its fields to what the server takes, and says what is wrong in the household's words.
 * @param schema of the contract, of what the form is filled with
 */
export function useSchemaForm<T extends object>(schema: Pick<Schema<unknown>, 'validate'>, initialValues: T) {
  const validationSchema: TypedSchema<T, T> = {
    __type: 'VVTypedSchema',
    async parse(values) {
      try {
        return { value: (await schema.validate(values, { abortEarly: false })) as T, errors: [] };
      } catch (error) {
        if (!isUnfit(error)) throw error;
        return { errors: Object.entries(faultWords(error)).map(([path, words]) => ({ path, errors: [words] })) };
      }
    },
  };
  return useForm<T>({ validationSchema, initialValues: initialValues as never });
}
