throw new Error('pictures are not made smaller on the server: Rontel has none that need it');
