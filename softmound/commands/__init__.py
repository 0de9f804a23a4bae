"""The actions of the `softmound` command, by what they are for."""
