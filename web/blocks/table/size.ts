/** How large a table may be, as the schema has it. */
export const MOST_COLUMNS = 8;
export const MOST_ROWS = 20;
