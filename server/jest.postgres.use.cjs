// Only the tests of this project use it: those of the other run on the embedded database.
process.env.HUFF_TEST_DATABASE = process.env.HUFF_TEST_SERVER;
