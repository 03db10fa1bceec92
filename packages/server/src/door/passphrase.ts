import { hash, verify } from '@node-rs/argon2';

/** Argon2id by the first of the recommendations of the OWASP Password Storage Cheat Sheet: 19 MiB, two passes, one lane. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/** Spaces and case do not matter: it is said across a kitchen. */
const plain = (passphrase: string): string => passphrase.normalize('NFKC').trim().toLowerCase().replace(/\s+/g, ' ');

export const hashOfPassphrase = (passphrase: string): Promise<string> => hash(plain(passphrase), COST);

const nobodys = hashOfPassphrase('nobody says this at any door');

/**
 * Whether it is the household's passphrase. It takes as long where there is none, so that nobody learns by the time it takes.
 * @param kept of {@link hashOfPassphrase}
 */
export async function isPassphrase(said: string, kept: string | undefined): Promise<boolean> {
  const isRight = await verify(kept ?? (await nobodys), plain(said));
  return isRight && kept !== undefined;
}
