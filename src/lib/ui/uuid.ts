/** An id as the database writes it. */
export const uuidPattern = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

export const isUuid = (text: string): boolean => uuidPattern.test(text);
