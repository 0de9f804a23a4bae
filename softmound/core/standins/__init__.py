"""Stand-ins: solid things beside the cloud, as triangles."""
