"""Starts the driver. The one argument is how many megabytes the program may use."""

import os
import sys

sys.path.insert(0, os.path.dirname(__file__))
from driver import channel  # noqa: E402

del sys.path[0]
channel.serve(int(sys.argv[1]))
