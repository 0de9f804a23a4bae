"""The Qt application. It turns gestures into recipes and answers into pixels; it computes nothing."""
