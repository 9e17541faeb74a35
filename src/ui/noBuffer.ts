/** In a browser nothing asks for Node's Buffer; what carries bytes there is a Uint8Array. */
export const Buffer = undefined;
