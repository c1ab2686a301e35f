/** Times are the salon's, wherever the device believes it is; unset before the salon is known. */
export const zone: { name: string | undefined } = { name: undefined };
