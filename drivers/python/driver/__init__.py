"""A driver for Python programs: it holds a submission's objects and does what it is told. It judges nothing."""
