/** What a bay of the library is named as while it is dragged: its id there. */
export const BAY_TYPE = 'application/x-bay-of-library';
