// Closes a Jest run with the plain line that the scripts and the checking machine read.
module.exports = class CountsReporter {
  onRunComplete(_contexts, results) {
    const broken = results.numRuntimeErrorTestSuites;
    console.log(`${results.numPassedTests} passed, ${results.numFailedTests + broken} failed`);
  }
};
