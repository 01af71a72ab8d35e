// Files of tests that run in one worker share its page: each begins with an empty one.
if (typeof document !== 'undefined') document.body.replaceChildren();
