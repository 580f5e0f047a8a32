/** Everything that `kit/glossary` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  askAboutWord: {
    whatIsName: (name: string) => `What is “${name}”?`,
  },
  glossary: {
    words: 'Glossary',
    searchTheWords: 'Search the glossary',
  },
  glossaryList: {
    onThisPage: 'On this page',
    allOthers: 'Other terms',
    allWords: 'All terms',
    noWordHasWantedIn: (wanted: string) => `No term contains “${wanted}”. Try fewer letters.`,
    see: 'See',
  },
  glossed: {
    whatIsName: (name: string) => `What is “${name}”?`,
  },
  termPicture: {
    drawingName: (name: string) => `Drawing: ${name}`,
  },
};
