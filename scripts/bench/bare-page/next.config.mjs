/** Nothing of ours: without a file of its own the bare page would take the app's. */
const config = {};

export default config;
