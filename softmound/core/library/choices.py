"""What can be asked of a library, as plain tables: read by help texts and menus without loading what computes."""

TIERS = (1, 2, 4, 8, 16)
"""How many times fewer voxels along each side the files of a version may have."""
MORE = {"suns": "a picture of four sides in three suns", "turntable": "a picture of twelve sides",
        "proxy": "a light mesh of its surface, in metres"}
"""What can go with a version, besides its grids, recipe and picture."""
ORDERS = {"newest": "Newest first", "name": "By name", "span": "Widest first", "thick": "Thickest first",
          "largest": "Largest files"}
"""What finds can be sorted by, in words."""
GROUPS = {"": "No groups", "species": "By species", "shot": "By shot", "tag": "By tag", "day": "By day", "size": "By size"}
"""What finds can be laid out by, in words."""
