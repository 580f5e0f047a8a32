/** Everything that `kit/glossary` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  askAboutWord: {
    whatIsName: (name: string) => `What is “${name}”?`,
  },
  glossary: {
    words: 'Words',
    searchTheWords: 'Search the words',
  },
  glossaryList: {
    onThisPage: 'On this page',
    allOthers: 'All others',
    allWords: 'All words',
    noWordHasWantedIn: (wanted: string) => `No word has “${wanted}” in it. Try a part of it, or fewer letters.`,
    see: 'See',
  },
  glossed: {
    whatIsName: (name: string) => `What is “${name}”?`,
  },
  termPicture: {
    drawingName: (name: string) => `Drawing: ${name}`,
  },
};
