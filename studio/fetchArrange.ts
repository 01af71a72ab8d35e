/** The place that most sessions begin in: it is asked for before it is known who is signed in. */
export const fetchArrange = () =>
  import('./arrange/Arrange.tsx').then((module) => ({ default: module.Arrange }));
