import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils.js";

/** SHA-256 of a text in UTF-8, as 64 hexadecimal digits. */
export const checksumOf = (text: string): string => bytesToHex(sha256(utf8ToBytes(text)));
