beforeEach(() => {
  expect.hasAssertions();
});
