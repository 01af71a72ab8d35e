import { hash, verify } from '@node-rs/argon2';

/** Argon2id with the parameters that OWASP names as the least: 19 MiB, two passes, one lane. */
const options = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

export const LEAST_PASSWORD = 10;

export const hashPassword = (password: string): Promise<string> => hash(password, options);

/** A hash of nothing anyone knows, so that an unknown account takes as long as a wrong password. */
let decoy: Promise<string> | null = null;

export async function passwordFits(storedHash: string | null, password: string): Promise<boolean> {
  decoy ??= hashPassword('nobody has this one');
  const fits = await verify(storedHash ?? (await decoy), password);
  return storedHash !== null && fits;
}
