"""The reference OpenVDB library, under either of the names its builds have."""

try:
    import openvdb as vdb
except ImportError:  # Debian 12 ships it under its older name
    import pyopenvdb as vdb

__all__ = ["vdb"]
